package barrowmist.server.people;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.server.access.Member;
import barrowmist.server.access.Members;
import barrowmist.server.access.Role;
import barrowmist.server.access.Secrets;
import barrowmist.server.people.PeopleViews.PersonEntry;
import barrowmist.server.people.PeopleViews.PersonView;
import barrowmist.server.people.PeopleViews.RoleEntry;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongToIntFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The accounts of the lab. There is always a lead once there is anybody. */
@Service
@KeptInTurn
class PeopleService implements Members {

    static final int LONGEST_NAME = 120;

    private final PersonRepository people;
    private final TokenRepository tokens;
    private final PasswordEncoder passwords;
    // what a name that nobody has is compared with: it takes as long as a real one
    private final String nobodys;

    PeopleService(PersonRepository people, TokenRepository tokens, PasswordEncoder passwords) {
        this.people = people;
        this.tokens = tokens;
        this.passwords = passwords;
        this.nobodys = passwords.encode(Secrets.draw());
    }

    @Override
    @Transactional(readOnly = true)
    public boolean any() {
        return people.count() > 0;
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Member> person(long id) {
        return people.findById(id).map(PersonEntity::member);
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Member> named(String name) {
        return people.findBySignInName(PersonEntity.signInName(name)).map(PersonEntity::member);
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Member> byToken(String token) {
        // it speaks by the right of a lead who made it: with that right gone it opens nothing
        return tokens.findByTokenHash(Secrets.hash(token))
                .filter(t -> t.madeBy().role() == Role.LEAD)
                .map(TokenEntity::member);
    }

    @Transactional(readOnly = true)
    List<PersonView> all(LongToIntFunction devices) {
        return people.findAllByOrderBySignInName().stream()
                .map(p -> PersonView.of(p, devices.applyAsInt(p.id())))
                .toList();
    }

    /** Who has this name and this password. */
    @Transactional(readOnly = true)
    Optional<Member> known(@Nullable String name, @Nullable String password) {
        String given = Passwords.tooLong(password) ? "" : String.valueOf(password);
        Optional<PersonEntity> person = people.findBySignInName(PersonEntity.signInName(String.valueOf(name)));
        boolean fits =
                passwords.matches(given, person.map(PersonEntity::passwordHash).orElse(nobodys));
        return person.filter(p -> fits).map(PersonEntity::member);
    }

    /** The first account, always a lead's. */
    Member first(@Nullable String name, @Nullable String password) {
        if (any()) {
            throw new Conflict("This lab has accounts already. Sign in, or ask the lead for one.", Map.of());
        }
        return made(new PersonEntry(name, Role.LEAD, password)).member();
    }

    PersonView add(PersonEntry entry) {
        return PersonView.of(made(entry), 0);
    }

    private PersonEntity made(PersonEntry entry) {
        List<FieldProblem> problems = new ArrayList<>();
        String name = name(entry.name(), problems);
        Optional<Role> role = role(entry.role(), problems);
        if (role.isPresent() && role.get() != Role.LEAD && !any()) {
            problems.add(
                    new FieldProblem("role", "The first account is a lead's: nobody else could make the next one"));
        }
        Passwords.check(entry.password(), name, problems);
        if (people.findBySignInName(PersonEntity.signInName(name)).isPresent()) {
            problems.add(new FieldProblem("name", "There is somebody called " + name + " already"));
        }
        InputProblems.refuseIfAny(problems);
        return people.saveAndFlush(
                new PersonEntity(name, role.orElseThrow(), passwords.encode(String.valueOf(entry.password()))));
    }

    PersonView setRole(long id, RoleEntry entry, int devices) {
        PersonEntity person = get(id);
        Conflict.ifStale(entry.version(), person.version(), "account");
        List<FieldProblem> problems = new ArrayList<>();
        Optional<Role> role = role(entry.role(), problems);
        InputProblems.refuseIfAny(problems);
        if (role.orElseThrow() != Role.LEAD) {
            refuseIfLastLead(person);
        }
        person.setRole(role.orElseThrow());
        return PersonView.of(people.saveAndFlush(person), devices);
    }

    void setPassword(long id, @Nullable String password) {
        PersonEntity person = get(id);
        List<FieldProblem> problems = new ArrayList<>();
        Passwords.check(password, person.name(), problems);
        InputProblems.refuseIfAny(problems);
        person.setPasswordHash(passwords.encode(String.valueOf(password)));
    }

    /** A new password for a lead, by name. */
    Member recover(@Nullable String name, @Nullable String password) {
        PersonEntity lead = people.findBySignInName(PersonEntity.signInName(String.valueOf(name)))
                .filter(p -> p.role() == Role.LEAD)
                .orElseThrow(() -> new InputProblems("name", "No lead is called so"));
        setPassword(lead.id(), password);
        return lead.member();
    }

    void remove(long id) {
        PersonEntity person = get(id);
        refuseIfLastLead(person);
        people.delete(person);
    }

    PersonEntity get(long id) {
        return people.findById(id).orElseThrow(() -> new NotFound("person", id));
    }

    private void refuseIfLastLead(PersonEntity person) {
        if (person.role() == Role.LEAD
                && people.findAllByLabRoleOrderById(Role.LEAD).size() == 1) {
            throw new Conflict(person.name() + " is the only lead: make somebody else one first.", Map.of());
        }
    }

    static String name(@Nullable String given, List<FieldProblem> problems) {
        String name = given == null ? "" : given.strip();
        problems.addAll(new Checks().name("name", "Name", name, LONGEST_NAME).problems());
        return name;
    }

    static Optional<Role> role(@Nullable Role given, List<FieldProblem> problems) {
        problems.addAll(new Checks().chosen("role", Role.class, given).problems());
        return Optional.ofNullable(given);
    }
}
