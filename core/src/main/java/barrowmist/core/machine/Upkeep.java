package barrowmist.core.machine;

/** What is done to a roaster that its readings, or its roasts, may show. */
public enum Upkeep {
    BEAN_PROBE("the bean probe was changed or moved"),
    ENVIRONMENT_PROBE("the environment probe was changed or moved"),
    BURNER("the burner or the heater was serviced"),
    AIR("fan, ducts or chaff collector were cleaned"),
    DRUM("the drum or its drive was serviced"),
    OTHER("something else was done to the roaster");

    private final String text;

    Upkeep(String text) {
        this.text = text;
    }

    /** As it goes on after "since". */
    public String text() {
        return text;
    }
}
