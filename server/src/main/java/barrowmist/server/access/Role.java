package barrowmist.server.access;

/** What somebody does in the lab, and so what they may ask for; {@link RoleRules} says what that is. */
public enum Role {
    /** Runs quality control: everything. */
    LEAD,
    /** Prepares and roasts: green, plans, the desk, the bench, the shelf, and preparing a table. */
    ROASTER,
    /** Cups under their own name. */
    CUPPER,
    /** Looks. */
    READER
}
