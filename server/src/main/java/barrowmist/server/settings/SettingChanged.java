package barrowmist.server.settings;

/** A setting of the lab has changed. Told within the transaction. */
public record SettingChanged(String name) {}
