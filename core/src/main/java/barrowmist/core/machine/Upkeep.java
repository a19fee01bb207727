package barrowmist.core.machine;

import barrowmist.core.check.Coded;

/** What is done to a roaster that its readings, or its roasts, may show. */
public enum Upkeep implements Coded {
    BEAN_PROBE("bean probe changed or moved", "the bean probe was changed or moved"),
    ENVIRONMENT_PROBE("environment probe changed or moved", "the environment probe was changed or moved"),
    BURNER("burner or heater serviced", "the burner or the heater was serviced"),
    AIR("fan, ducts, chaff collector cleaned", "fan, ducts or chaff collector were cleaned"),
    DRUM("drum or its drive serviced", "the drum or its drive was serviced"),
    OTHER("something else", "something else was done to the roaster");

    private final String label;
    private final String text;

    Upkeep(String label, String text) {
        this.label = label;
        this.text = text;
    }

    @Override
    public String label() {
        return label;
    }

    /** As it goes on after "since". */
    public String text() {
        return text;
    }
}
