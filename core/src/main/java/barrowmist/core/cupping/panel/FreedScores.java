package barrowmist.core.cupping.panel;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.QRDecomposition;

/**
 * What each sample would have been given had every cupper begun at the same height: the sample's part of the additive
 * model score = sample + cupper, by least squares, so that who scored only some of the samples does not pull those up or
 * down. Where everybody scored everything that is each sample's plain mean.
 */
public final class FreedScores {

    private static final double SINGULAR = 1e-9;

    private FreedScores() {}

    /**
     * Freed means by sample and each cupper's offset in the same model; the offsets add up to 0.
     *
     * @param means by code
     * @param offsets by cupper, points
     */
    public record Freed(Map<String, Double> means, Map<String, Double> offsets) {}

    /** Empty where there is nothing to free: one sample or cupper, or parts of the table that share no cupper. */
    public static Optional<Freed> of(List<Panel.Sample> samples) {
        Set<String> names = new LinkedHashSet<>();
        samples.forEach(s -> names.addAll(s.scores().keySet()));
        List<String> cuppers = List.copyOf(names);
        List<double[]> rows = new ArrayList<>();
        List<Double> scores = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            int sample = i;
            samples.get(i).scores().forEach((cupper, score) -> {
                rows.add(row(samples.size(), cuppers.size(), sample, cuppers.indexOf(cupper)));
                scores.add(score);
            });
        }
        int unknown = samples.size() + cuppers.size() - 1;
        if (samples.size() < 2 || cuppers.size() < 2 || rows.size() < unknown) {
            return Optional.empty();
        }
        return solved(rows, scores).map(beta -> freed(samples, cuppers, beta));
    }

    /** One column a sample, and one a cupper but the last, whose offset is what the others leave. */
    private static double[] row(int samples, int cuppers, int sample, int cupper) {
        double[] row = new double[samples + cuppers - 1];
        row[sample] = 1;
        if (cupper < cuppers - 1) {
            row[samples + cupper] = 1;
        } else {
            for (int c = 0; c < cuppers - 1; c++) {
                row[samples + c] = -1;
            }
        }
        return row;
    }

    private static Optional<double[]> solved(List<double[]> rows, List<Double> scores) {
        DecompositionSolver solver =
                new QRDecomposition(new Array2DRowRealMatrix(rows.toArray(double[][]::new)), SINGULAR).getSolver();
        double[] given = scores.stream().mapToDouble(x -> x).toArray();
        return solver.isNonSingular()
                ? Optional.of(solver.solve(new ArrayRealVector(given)).toArray())
                : Optional.empty();
    }

    private static Freed freed(List<Panel.Sample> samples, List<String> cuppers, double[] beta) {
        Map<String, Double> means = new LinkedHashMap<>();
        for (int i = 0; i < samples.size(); i++) {
            means.put(samples.get(i).code(), beta[i]);
        }
        Map<String, Double> offsets = new LinkedHashMap<>();
        double last = 0;
        for (int c = 0; c < cuppers.size() - 1; c++) {
            offsets.put(cuppers.get(c), beta[samples.size() + c]);
            last -= beta[samples.size() + c];
        }
        offsets.put(cuppers.get(cuppers.size() - 1), last);
        return new Freed(means, offsets);
    }
}
