package barrowmist.core.machine.thermal;

/**
 * Where the heat of a roast came from and went, J.
 *
 * @param burnerJ from the burner
 * @param reactionJ from the roasting reactions
 * @param exhaustJ out with the air
 * @param roomJ from the drum to the room
 * @param vapourJ out with the water, its own heat included
 * @param beansJ held by the beans in the end, less what they brought
 * @param drumJ held by the drum in the end, less what it had
 */
public record EnergyBalance(
        double burnerJ, double reactionJ, double exhaustJ, double roomJ, double vapourJ, double beansJ, double drumJ) {

    static EnergyBalance of(DrumModel model, MachineConstants machine, double[] start, double[] end) {
        double beans = BeanPhysics.enthalpyPerDryKg(end[DrumModel.BEAN], end[DrumModel.MOISTURE])
                - BeanPhysics.enthalpyPerDryKg(start[DrumModel.BEAN], start[DrumModel.MOISTURE]);
        return new EnergyBalance(
                end[DrumModel.FROM_BURNER],
                model.dryKg() * end[DrumModel.REACTED],
                end[DrumModel.TO_EXHAUST],
                end[DrumModel.TO_ROOM],
                end[DrumModel.TO_VAPOUR],
                model.dryKg() * beans,
                machine.drumJPerK() * (end[DrumModel.DRUM] - start[DrumModel.DRUM]));
    }

    /** What came in and is not found again, share of what came in. */
    public double openShare() {
        double in = burnerJ + reactionJ;
        return (in - exhaustJ - roomJ - vapourJ - beansJ - drumJ) / in;
    }
}
