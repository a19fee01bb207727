package barrowmist.server.access;

import barrowmist.core.check.Coded;

/** What somebody does in the lab, and so what they may ask for; {@link RoleRules} says what that is. */
public enum Role implements Coded {
    /** Runs quality control: everything. */
    LEAD("Lead", "Runs quality control: everything."),
    /** Prepares and roasts: green, plans, the desk, the bench, the shelf, and preparing a table. */
    ROASTER("Roaster", "Prepares and roasts: green, plans, the desk, the bench, the shelf, and preparing a table."),
    /** Cups under their own name. */
    CUPPER("Cupper", "Sees everything, and cups under their own name."),
    /** Looks. */
    READER("Reader", "Sees everything, changes nothing.");

    private final String label;
    private final String meaning;

    Role(String label, String meaning) {
        this.label = label;
        this.meaning = meaning;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public String meaning() {
        return meaning;
    }
}
