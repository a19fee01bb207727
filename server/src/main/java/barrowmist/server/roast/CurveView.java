package barrowmist.server.roast;

import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.Series;
import java.util.function.Function;

/** The readings of a roast on the wire, seconds since charge. */
public record CurveView(
        SeriesView beanC,
        SeriesView environmentC,
        SeriesView rorCPerMin,
        SeriesView gasPct,
        SeriesView airflowPct,
        SeriesView drumRpm,
        double gapS) {

    /** One channel: times and values, as many of the one as of the other. */
    public record SeriesView(double[] timeS, double[] value) {

        private static final double MILLI = 1000;
        private static final int EVERY = 4;

        /** Every fourth reading: a smooth curve needs no more, and so little travels. */
        public static SeriesView thinned(Series s) {
            int n = (s.size() + EVERY - 1) / EVERY;
            double[] t = new double[n];
            double[] v = new double[n];
            for (int i = 0; i < n; i++) {
                t[i] = s.timeS(EVERY * i);
                v[i] = s.value(EVERY * i);
            }
            return of(new Series(t, v));
        }

        public static SeriesView of(Series s) {
            return new SeriesView(rounded(s.timesS()), rounded(s.values()));
        }

        /** To 0.001: finer than any probe, and a third of the bytes. */
        private static double[] rounded(double[] values) {
            for (int i = 0; i < values.length; i++) {
                values[i] = Math.round(values[i] * MILLI) / MILLI;
            }
            return values;
        }
    }

    static CurveView of(RoastAnalysis a, double gapS) {
        return of(a, gapS, SeriesView::of);
    }

    /** With every fourth reading, for a curve that is foretold. */
    public static CurveView thinned(RoastAnalysis a, double gapS) {
        return of(a, gapS, SeriesView::thinned);
    }

    private static CurveView of(RoastAnalysis a, double gapS, Function<Series, SeriesView> view) {
        return new CurveView(
                view.apply(a.log().beanC()),
                view.apply(a.log().environmentC()),
                view.apply(a.ror()),
                view.apply(a.log().gasPct()),
                view.apply(a.log().airflowPct()),
                view.apply(a.log().drumRpm()),
                gapS);
    }
}
