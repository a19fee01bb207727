package barrowmist.server.roast;

import barrowmist.core.roast.EnvironmentFigures;
import barrowmist.core.roast.GasFigures;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RorPoint;
import barrowmist.server.web.Optionals;
import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The figures of a roast in columns, so that lists and references need no readings. */
@Embeddable
class StoredFigures {

    @Column(name = "charge_c")
    private @Nullable Double chargeC;

    @Column(name = "turning_point_s")
    private @Nullable Double turningPointS;

    @Column(name = "turning_point_c")
    private @Nullable Double turningPointC;

    @Column(name = "dry_end_s")
    private @Nullable Double dryEndS;

    @Column(name = "dry_end_c")
    private @Nullable Double dryEndC;

    @Column(name = "first_crack_s")
    private @Nullable Double firstCrackS;

    @Column(name = "first_crack_c")
    private @Nullable Double firstCrackC;

    @Column(name = "drop_s")
    private @Nullable Double dropS;

    @Column(name = "drop_c")
    private @Nullable Double dropC;

    private @Nullable Double rorAtFirstCrack;
    private @Nullable Double rorAtDrop;
    private @Nullable Double rorPeak;

    @Column(name = "ror_peak_s")
    private @Nullable Double rorPeakS;

    private @Nullable Double rorBeforeCrack;

    @Column(name = "environment_dry_end_c")
    private @Nullable Double environmentDryEndC;

    @Column(name = "environment_first_crack_c")
    private @Nullable Double environmentFirstCrackC;

    @Column(name = "environment_drop_c")
    private @Nullable Double environmentDropC;

    @Column(name = "environment_peak_c")
    private @Nullable Double environmentPeakC;

    private @Nullable Double drumRpm;
    private @Nullable Double gasDrying;
    private @Nullable Double gasBrowning;
    private @Nullable Double gasBeforeCrack;
    private @Nullable Double gasDevelopment;

    protected StoredFigures() {}

    StoredFigures(RoastFigures f) {
        chargeC = Optionals.orNull(f.chargeC());
        turningPointS = timeS(f.turningPoint());
        turningPointC = beanC(f.turningPoint());
        dryEndS = timeS(f.dryEnd());
        dryEndC = beanC(f.dryEnd());
        firstCrackS = timeS(f.firstCrack());
        firstCrackC = beanC(f.firstCrack());
        dropS = timeS(f.drop());
        dropC = beanC(f.drop());
        rorAtFirstCrack = Optionals.orNull(f.rorAtFirstCrackCPerMin());
        rorAtDrop = Optionals.orNull(f.rorAtDropCPerMin());
        rorPeak = f.rorPeak().map(RorPoint::cPerMin).orElse(null);
        rorPeakS = f.rorPeak().map(RorPoint::timeS).orElse(null);
        rorBeforeCrack = Optionals.orNull(f.rorBeforeCrackCPerMin());
        environmentDryEndC = Optionals.orNull(f.environment().dryEndC());
        environmentFirstCrackC = Optionals.orNull(f.environment().firstCrackC());
        environmentDropC = Optionals.orNull(f.environment().dropC());
        environmentPeakC = Optionals.orNull(f.environment().peakC());
        drumRpm = Optionals.orNull(f.drumRpm());
        gasDrying = Optionals.orNull(f.gas().dryingPct());
        gasBrowning = Optionals.orNull(f.gas().browningPct());
        gasBeforeCrack = Optionals.orNull(f.gas().beforeCrackPct());
        gasDevelopment = Optionals.orNull(f.gas().developmentPct());
    }

    RoastFigures figures() {
        return new RoastFigures(
                Optionals.of(chargeC),
                milestone(turningPointS, turningPointC),
                milestone(dryEndS, dryEndC),
                milestone(firstCrackS, firstCrackC),
                milestone(dropS, dropC),
                Optionals.of(rorAtFirstCrack),
                Optionals.of(rorAtDrop),
                rorPeak == null || rorPeakS == null ? Optional.empty() : Optional.of(new RorPoint(rorPeakS, rorPeak)),
                Optionals.of(rorBeforeCrack),
                new EnvironmentFigures(
                        Optionals.of(environmentDryEndC),
                        Optionals.of(environmentFirstCrackC),
                        Optionals.of(environmentDropC),
                        Optionals.of(environmentPeakC)),
                Optionals.of(drumRpm),
                new GasFigures(
                        Optionals.of(gasDrying),
                        Optionals.of(gasBrowning),
                        Optionals.of(gasBeforeCrack),
                        Optionals.of(gasDevelopment)));
    }

    private static @Nullable Double timeS(Optional<Milestone> m) {
        return m.map(Milestone::timeS).orElse(null);
    }

    private static @Nullable Double beanC(Optional<Milestone> m) {
        return m.map(Milestone::beanC).orElse(null);
    }

    private static Optional<Milestone> milestone(@Nullable Double timeS, @Nullable Double beanC) {
        return timeS == null || beanC == null ? Optional.empty() : Optional.of(new Milestone(timeS, beanC));
    }
}
