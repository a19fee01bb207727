package barrowmist.standin;

import barrowmist.core.device.StandInRoaster;
import barrowmist.core.machine.thermal.ControlLevels;
import java.util.ArrayList;
import java.util.List;

/**
 * A hand at the stand-in's knobs: moves that it makes by itself, each so many seconds after the charge, once for each
 * batch.
 */
final class ProgrammedMoves {

    /** One move of gas or air, %. */
    record Move(double atS, boolean gas, double value) {}

    private List<Move> program = List.of();
    private List<Move> waiting = new ArrayList<>();
    private boolean charged;

    /** @param lines moves, one a line: {@code seconds,gas|air,percent}; none ends the program */
    synchronized void follow(String lines) {
        program = lines.lines()
                .filter(l -> !l.isBlank())
                .map(ProgrammedMoves::move)
                .toList();
        waiting = new ArrayList<>(program);
    }

    private static Move move(String line) {
        String[] parts = line.split(",");
        if (parts.length != 3 || !(parts[1].equals("gas") || parts[1].equals("air"))) {
            throw new IllegalArgumentException("A move is seconds,gas or air,percent; this is: " + line);
        }
        return new Move(Double.parseDouble(parts[0]), parts[1].equals("gas"), Double.parseDouble(parts[2]));
    }

    synchronized void look(StandInRoaster roaster) {
        StandInRoaster.State state = roaster.state();
        if (state.charged() && !charged) {
            waiting = new ArrayList<>(program);
        }
        charged = state.charged();
        if (!charged) {
            return;
        }
        waiting.removeIf(m -> {
            boolean due = m.atS <= state.chargedForS();
            if (due) {
                ControlLevels now = roaster.state().levels();
                roaster.set(m.gas ? m.value : now.gasPct(), m.gas ? now.airflowPct() : m.value, now.drumRpm());
            }
            return due;
        });
    }

    synchronized int moves() {
        return program.size();
    }
}
