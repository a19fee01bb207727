package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;

/** A drum whose flame fails at some time, by a share. */
final class Failing implements Drum {
    private final Drum drum;
    private final double atS;
    private final double by;
    private double timeS;

    Failing(Drum drum, double atS, double by) {
        this.drum = drum;
        this.atS = atS;
        this.by = by;
    }

    @Override
    public void step(double dt, ControlLevels levels) {
        double left = timeS >= atS ? 1 - by : 1;
        drum.step(dt, new ControlLevels(levels.gasPct() * left, levels.airflowPct(), levels.drumRpm()));
        timeS += dt;
    }

    @Override
    public void setRoomC(double roomC) {
        drum.setRoomC(roomC);
    }

    @Override
    public void setLossDrift(double factor) {
        drum.setLossDrift(factor);
    }

    @Override
    public void preheated(double chargeC) {
        drum.preheated(chargeC);
    }

    @Override
    public void charge(Batch next, double gasPct) {
        drum.charge(next, gasPct);
    }

    @Override
    public void charge(Batch next) {
        drum.charge(next);
    }

    @Override
    public void drop() {
        drum.drop();
    }

    @Override
    public boolean charged() {
        return drum.charged();
    }

    @Override
    public void setDoorOpen(boolean open) {
        drum.setDoorOpen(open);
    }

    @Override
    public double meanC() {
        return drum.meanC();
    }

    @Override
    public double probeC() {
        return drum.probeC();
    }

    @Override
    public double environmentC() {
        return drum.environmentC();
    }
}
