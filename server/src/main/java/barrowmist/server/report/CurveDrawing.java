package barrowmist.server.report;

import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastAnalysis;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Temperature;
import barrowmist.core.units.Wording;
import barrowmist.server.paper.Drawing;
import barrowmist.server.paper.Drawing.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A roast's curve on paper: temperatures above, the rate of rise below, with its events marked. In black and grey. */
final class CurveDrawing {

    private static final double LOW_C = 50;
    private static final double HIGH_C = 250;
    private static final double STEP_C = 50;
    private static final double MOST_RATE = 25;
    private static final double STEP_RATE = 10;

    /** Where the upper pane ends and the lower begins, shares of the height. */
    private static final double UPPER = 0.64;

    private static final double LOWER = 0.72;
    private static final double MINUTE = 60;

    /** So many points are drawn of one line: finer than print. */
    private static final int POINTS = 240;

    private static final double GRID = 0.8;

    private final RoastAnalysis roast;
    private final Wording wording;
    private final double endS;
    private final List<Line> lines = new ArrayList<>();
    private final List<Label> labels = new ArrayList<>();

    /** A word beside the drawing; both are shares of its size, per cent. */
    record Label(String text, String left, String top) {}

    /** The drawing as its {@code object} carries it, and the words beside it. */
    record Drawn(String data, List<Label> labels) {}

    private CurveDrawing(RoastAnalysis roast, Wording wording) {
        this.roast = roast;
        this.wording = wording;
        Series bean = roast.log().beanC();
        endS = bean.isEmpty() ? MINUTE : Math.max(MINUTE, bean.timeS(bean.size() - 1));
    }

    static Drawn of(RoastAnalysis roast, Wording wording) {
        CurveDrawing d = new CurveDrawing(roast, wording);
        d.grid();
        d.events();
        d.lines.add(d.line(roast.log().environmentC(), 0.9, 3, 0.35, d::temperature));
        d.lines.add(d.line(roast.log().beanC(), 1.5, 0, 0, d::temperature));
        d.lines.add(d.line(roast.ror(), 1.1, 0, 0, d::rate));
        d.lines.removeIf(l -> l.points().size() < 2);
        return new Drawn(Drawing.data(d.lines), List.copyOf(d.labels));
    }

    private double temperature(double c) {
        return UPPER * (1 - clamped((c - LOW_C) / (HIGH_C - LOW_C)));
    }

    private double rate(double cPerMin) {
        return 1 - (1 - LOWER) * clamped(cPerMin / MOST_RATE);
    }

    private static double clamped(double share) {
        return Math.max(0, Math.min(1, share));
    }

    private void grid() {
        for (double c = LOW_C; c <= HIGH_C; c += STEP_C) {
            double y = temperature(c);
            lines.add(Line.straight(GRID, 0, y, 1, y));
            label(shown(c), 0, y);
        }
        for (double r = 0; r <= MOST_RATE; r += STEP_RATE) {
            double y = rate(r);
            lines.add(Line.straight(GRID, 0, y, 1, y));
            label(wording.bareRate(r).replace(".0", ""), 0, y);
        }
        for (double s = MINUTE; s < endS; s += MINUTE) {
            lines.add(Line.straight(GRID, s / endS, 0, s / endS, 1));
            if (Math.round(s / MINUTE) % 2 == 0) {
                label(RoastTelling.clock(s), s / endS, 1.04);
            }
        }
    }

    private String shown(double c) {
        return String.format(Locale.ROOT, "%.0f", wording.fahrenheit() ? new Temperature(c).f() : c);
    }

    private void events() {
        RoastFigures f = roast.figures();
        event("turning point", f.turningPoint());
        event("dry end", f.dryEnd());
        event("first crack", f.firstCrack());
    }

    private void event(String name, Optional<Milestone> at) {
        at.ifPresent(m -> {
            double x = m.timeS() / endS;
            lines.add(new Line(0.8, 2, 0.2, List.of(new double[] {x, 0}, new double[] {x, 1})));
            label(name + " " + RoastTelling.clock(m.timeS()), x, -0.045);
        });
    }

    private interface Height {
        double of(double value);
    }

    private Line line(Series s, double width, double dash, double shade, Height y) {
        List<double[]> points = new ArrayList<>();
        int step = Math.max(1, s.size() / POINTS);
        for (int i = 0; i < s.size(); i += step) {
            if (s.timeS(i) >= 0) {
                points.add(new double[] {s.timeS(i) / endS, y.of(s.value(i))});
            }
        }
        return new Line(width, dash, shade, points);
    }

    private void label(String text, double left, double top) {
        labels.add(new Label(text, percent(left), percent(top)));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.2f%%", 100 * share);
    }
}
