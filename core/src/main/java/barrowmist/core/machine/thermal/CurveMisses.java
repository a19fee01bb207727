package barrowmist.core.machine.thermal;

import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;

/** What a fitted model's curves leave unexplained, stretch by stretch, each reading counting alike. */
final class CurveMisses {

    private CurveMisses() {}

    /** What the bean curves leave unexplained. */
    static CurveErrors bean(CurveResiduals of, MachineConstants machine) {
        Squares early = new Squares();
        Squares late = new Squares();
        Squares whole = new Squares();
        Squares[] phases = {new Squares(), new Squares(), new Squares()};
        for (int i = 0; i < of.roasts.size(); i++) {
            RoastFigures figures = of.roasts.get(i).figures();
            double dryS = figures.dryEnd().map(Milestone::timeS).orElse(Double.POSITIVE_INFINITY);
            double crackS = figures.firstCrack().map(Milestone::timeS).orElse(Double.POSITIVE_INFINITY);
            Series model = CurveResiduals.curve(machine, of.roasts.get(i)).log().beanC();
            double sum = 0;
            int n = 0;
            for (int k = 0; k < of.beanC[i].length; k++) {
                double t = k * CurveResiduals.GRID_S;
                double miss = model.interpolated(t) - of.beanC[i][k];
                if (!Double.isFinite(miss)) {
                    continue;
                }
                if (t < CurveErrors.EARLY_S) {
                    early.add(miss);
                    continue;
                }
                late.add(miss);
                phases[t < dryS ? 0 : t < crackS ? 1 : 2].add(miss);
                sum += miss;
                n++;
            }
            if (n > 0) {
                whole.add(sum / n);
            }
        }
        return new CurveErrors(
                early.root(), late.root(), phases[0].root(), phases[1].root(), phases[2].root(), whole.root());
    }

    /** What the environment curve leaves unexplained, root mean square, °C; 0 when no roast has one. */
    static double environmentC(CurveResiduals of, MachineConstants machine) {
        Squares all = new Squares();
        for (int i = 0; i < of.roasts.size(); i++) {
            if (of.environmentC[i].length > 0) {
                Series model =
                        CurveResiduals.curve(machine, of.roasts.get(i)).log().environmentC();
                for (int k = 0; k < of.environmentC[i].length; k++) {
                    double miss = model.interpolated(k * CurveResiduals.GRID_S) - of.environmentC[i][k];
                    if (Double.isFinite(miss)) {
                        all.add(miss);
                    }
                }
            }
        }
        return all.n == 0 ? 0 : all.root();
    }

    private static final class Squares {
        private double sum;
        private int n;

        void add(double x) {
            sum += x * x;
            n++;
        }

        double root() {
            return n == 0 ? Double.NaN : Math.sqrt(sum / n);
        }
    }
}
