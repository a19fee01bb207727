package barrowmist.server.people;

import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** People, tokens and sessions on the wire. */
public final class PeopleViews {

    private PeopleViews() {}

    /**
     * Who asks, and how this lab is entered.
     *
     * @param accounts whether anybody has an account
     * @param open whether this caller may do all without one
     * @param code whether the first account asks for the code printed at start
     * @param name who is signed in, if somebody is
     */
    public record SessionView(
            boolean accounts,
            boolean open,
            boolean code,
            @Nullable String name,
            @Nullable Role role) {}

    public record SignInEntry(
            @Schema(example = "Maren") @Nullable String name,
            @Schema(example = "fog on the moor") @Nullable String password) {}

    /** The first account, or a new password for a lead who lost theirs; the code is what Barrowmist printed at start. */
    public record CodeEntry(
            @Schema(example = "Maren") @Nullable String name,
            @Schema(example = "fog on the moor") @Nullable String password,
            @Nullable String code) {}

    public record PasswordEntry(
            @Nullable String old,
            @Schema(example = "fog on the moor") @Nullable String password) {}

    public record PersonEntry(
            @Schema(example = "Tobin") @Nullable String name,
            @Nullable Role role,

            @Schema(example = "heather after rain") @Nullable
            String password) {}

    public record RoleEntry(@Nullable Role role, @Nullable Long version) {}

    /** @param devices on how many this person is signed in */
    public record PersonView(long id, String name, Role role, int devices, long version) {
        static PersonView of(PersonEntity p, int devices) {
            return new PersonView(p.id(), p.name(), p.role(), devices, p.version());
        }
    }

    public record TokenEntry(
            @Schema(example = "Stock script") @Nullable String name,
            @Nullable Role role) {}

    /** @param token shown this once, and null ever after: only its hash is kept */
    public record TokenView(
            long id,
            String name,
            Role role,
            String madeBy,
            Instant madeAt,
            @Nullable String token) {
        static TokenView of(TokenEntity t, @Nullable String token) {
            return new TokenView(t.id(), t.name(), t.role(), t.madeBy().name(), t.madeAt(), token);
        }
    }

    /**
     * Where tablets find this lab.
     *
     * @param beyond whether the server listens to other devices at all
     * @param addresses to type or scan
     * @param fingerprint SHA-256 of the certificate that a browser shows; null without HTTPS
     */
    public record NetworkView(
            boolean beyond,
            List<String> addresses,
            @Nullable String fingerprint) {}

    static SessionView session(boolean accounts, boolean open, boolean code, @Nullable Member who) {
        return new SessionView(accounts, open, code, who == null ? null : who.name(), who == null ? null : who.role());
    }
}
