package barrowmist.server.roast;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.roast.MadeFor;
import barrowmist.core.roast.RoastAim;
import barrowmist.core.roast.RoastAim.Limits;
import org.junit.jupiter.api.Test;

class RoastRecordTest {

    private static MadeFor kept(double fastAtFirstCrackCPerMin) {
        RoastRecord roast = new RoastRecord() {};
        MadeFor own = new MadeFor(
                RoastAim.OWN, new Limits(480, 600, 0, 40, 0, 100, 60, 12, 14, 15, 2, fastAtFirstCrackCPerMin));
        roast.setMadeFor(own);
        assertThat(roast.madeFor()).isEqualTo(own);
        return roast.madeFor();
    }

    @Test
    void whatItsPlanAskedOfItIsReadAsItWasWritten() {
        assertThat(kept(8).limits().fastAtFirstCrackCPerMin()).isEqualTo(8);
        assertThat(kept(Double.POSITIVE_INFINITY).limits().fastAtFirstCrackCPerMin())
                .isInfinite();
    }

    /** Kept before there was a limit of the rate of rise at first crack: nothing is fast by it. */
    @Test
    void anEarlierRoastIsNotFastByALimitThatItHadNot() {
        String earlier = """
                {"shortestS":480,"longestS":600,"leastLossPct":0,"mostLossPct":40,"darkestColour":0,"lightestColour":100,
                "longBrowningPct":60,"shortDevelopmentPct":12,"enoughDevelopmentPct":14,"targetDevelopmentPct":15,
                "fewDegreesC":2}""";
        assertThat(RoastRecord.LIMITS.read(earlier).fastAtFirstCrackCPerMin()).isInfinite();
    }
}
