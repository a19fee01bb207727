package barrowmist.server.paper;

import com.openhtmltopdf.extend.FSObjectDrawer;
import com.openhtmltopdf.extend.FSObjectDrawerFactory;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.render.DefaultObjectDrawerFactory;
import com.openhtmltopdf.render.RenderingContext;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Shape;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/**
 * Lines that a page draws sharp at any size: an {@code object} of type {@code drawing/lines} whose data names each line's width,
 * dash, shade and points. In shades of grey alone, so that nothing is lost in black and white.
 */
public final class Drawing implements FSObjectDrawer {

    private static final String TYPE = "drawing/lines";

    private Drawing() {}

    /**
     * One line.
     *
     * @param width pt
     * @param dash length of a dash, pt; 0 for an unbroken line
     * @param shade 0 black to 1 white
     * @param points pairs of across and down, each from 0 to 1
     */
    public record Line(double width, double dash, double shade, List<double[]> points) {

        /** Straight from one point to another. */
        public static Line straight(double shade, double x1, double y1, double x2, double y2) {
            return new Line(0.4, 0, shade, List.of(new double[] {x1, y1}, new double[] {x2, y2}));
        }
    }

    /** The lines as an {@code object} carries them. */
    public static String data(List<Line> lines) {
        StringBuilder out = new StringBuilder();
        for (Line l : lines) {
            out.append(String.format(Locale.ROOT, "%.2f;%.2f;%.2f;", l.width, l.dash, l.shade));
            for (double[] p : l.points) {
                out.append(String.format(Locale.ROOT, "%.4f,%.4f ", p[0], p[1]));
            }
            out.append('|');
        }
        return out.toString();
    }

    static FSObjectDrawerFactory drawers() {
        DefaultObjectDrawerFactory factory = new DefaultObjectDrawerFactory();
        factory.registerDrawer(TYPE, new Drawing());
        return factory;
    }

    @Override
    public @Nullable Map<Shape, String> drawObject(
            Element object,
            double x,
            double y,
            double width,
            double height,
            OutputDevice device,
            RenderingContext context,
            int dotsPerPixel) {
        double w = width / dotsPerPixel;
        double h = height / dotsPerPixel;
        String data = object.getAttribute("data");
        device.drawWithGraphics((float) x, (float) y, (float) w, (float) h, g -> {
            for (String line : data.split("\\|")) {
                if (!line.isBlank()) {
                    draw(g, line, w, h);
                }
            }
        });
        return null;
    }

    private static void draw(Graphics2D g, String line, double w, double h) {
        String[] parts = line.split(";");
        float dash = Float.parseFloat(parts[1]);
        int grey = (int) Math.round(255 * Double.parseDouble(parts[2]));
        g.setColor(new Color(grey, grey, grey));
        float[] dashes = dash > 0 ? new float[] {dash, dash} : null;
        g.setStroke(new BasicStroke(
                Float.parseFloat(parts[0]), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, dashes, 0));
        Path2D path = new Path2D.Double();
        for (String point : parts[3].strip().split(" ")) {
            int comma = point.indexOf(',');
            double px = Double.parseDouble(point.substring(0, comma)) * w;
            double py = Double.parseDouble(point.substring(comma + 1)) * h;
            if (path.getCurrentPoint() == null) {
                path.moveTo(px, py);
            } else {
                path.lineTo(px, py);
            }
        }
        g.draw(path);
    }
}
