package barrowmist.core.device;

import org.jspecify.annotations.Nullable;

/** What the roasters that roast shells of beans have in common: a room, a loss, a door and a batch. Mutable. */
abstract class BeanDrum implements Drum {

    private final double burnerW;
    private final double steamJPerKg;
    private boolean doorOpen;

    double roomC;
    double lossDrift = 1;

    /** Heat that flows now, W. */
    double heatW;

    @Nullable
    ShellBeans beans;

    /**
     * @param burnerW heat at full gas, W
     * @param steamJPerKg heat that the steam of first crack takes in all, J for each kg of dry bean
     */
    BeanDrum(double roomC, double burnerW, double steamJPerKg) {
        this.roomC = roomC;
        this.burnerW = burnerW;
        this.steamJPerKg = steamJPerKg;
    }

    /** Lets the heat follow its control, lagging by so many seconds. */
    final void heat(double gasPct, double lagS, double dt) {
        heatW += (burnerW * gasPct / 100 - heatW) * dt / lagS;
    }

    /**
     * Air drawn through, as a share of full.
     *
     * @param least what is drawn with the damper closed
     * @param door what an open door adds
     */
    final double flow(double airflowPct, double least, double door) {
        return least + (1 - least) * airflowPct / 100 + (doorOpen ? door : 0);
    }

    @Override
    public final void setRoomC(double next) {
        roomC = next;
    }

    @Override
    public final void setLossDrift(double factor) {
        lossDrift = factor;
    }

    @Override
    public final void charge(Batch next, double gasPct) {
        heatW = burnerW * gasPct / 100;
        charge(next);
    }

    @Override
    public final void charge(Batch next) {
        beans = new ShellBeans(next, roomC, steamJPerKg);
    }

    @Override
    public final void drop() {
        beans = null;
    }

    @Override
    public final boolean charged() {
        return beans != null;
    }

    @Override
    public final void setDoorOpen(boolean open) {
        doorOpen = open;
    }

    @Override
    public final double meanC() {
        return beans == null ? roomC : beans.meanC();
    }
}
