package barrowmist.server.people;

import barrowmist.server.access.Member;
import barrowmist.server.access.OpenLab;
import barrowmist.server.access.SignedIn;
import barrowmist.server.access.Tries;
import barrowmist.server.people.PeopleViews.CodeEntry;
import barrowmist.server.people.PeopleViews.PasswordEntry;
import barrowmist.server.people.PeopleViews.SessionView;
import barrowmist.server.people.PeopleViews.SignInEntry;
import barrowmist.server.web.InputProblems;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out. */
@RestController
@RequestMapping("/api/session")
class SessionController {

    private final PeopleService people;
    private final OpenLab lab;
    private final SignedIn sessions;
    private final StartCode code;
    private final KnownDevices devices;
    private final Tries tries;

    SessionController(
            PeopleService people, OpenLab lab, SignedIn sessions, StartCode code, KnownDevices devices, Clock clock) {
        this.people = people;
        this.lab = lab;
        this.sessions = sessions;
        this.code = code;
        this.devices = devices;
        this.tries = new Tries(clock, "Too many wrong tries. Wait ten minutes, or ask the lead for a new password.");
    }

    @GetMapping
    SessionView session(HttpServletRequest request) {
        return view(request, Member.ofCaller().orElse(null));
    }

    private SessionView view(HttpServletRequest request, @Nullable Member who) {
        boolean any = people.any();
        return PeopleViews.session(any, lab.open(request), !any && !OpenLab.ofThisComputer(request), who);
    }

    @PostMapping
    SessionView signIn(@RequestBody SignInEntry entry, HttpServletRequest request, HttpServletResponse response) {
        // by device, not by name: nobody else can lock the lead out
        Tries.Try counted = tries.begin(devices.of(request), devices.known(request));
        Member who = people.known(entry.name(), entry.password())
                .orElseThrow(() -> new InputProblems("password", "Nobody has this name with this password"));
        counted.right();
        return begin(request, response, who);
    }

    /** The first account, from the lab's own computer or with the code printed at start; signed in at once. */
    @PostMapping("/first")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView makeFirst(@RequestBody CodeEntry entry, HttpServletRequest request, HttpServletResponse response) {
        Member first;
        if (OpenLab.ofThisComputer(request)) {
            first = makeFirst(entry);
            code.expire();
        } else {
            first = withCode(entry, request, () -> makeFirst(entry));
        }
        return begin(request, response, first);
    }

    /** One after another: of two who come at the same moment the second finds a lab that has its account. */
    private synchronized Member makeFirst(CodeEntry entry) {
        return people.first(entry.name(), entry.password());
    }

    /** A new password for a lead who lost theirs, with the code printed at start. */
    @PostMapping("/recovery")
    SessionView recover(@RequestBody CodeEntry entry, HttpServletRequest request, HttpServletResponse response) {
        Member lead = withCode(entry, request, () -> people.recover(entry.name(), entry.password()));
        sessions.endEverywhere(lead.id());
        return begin(request, response, lead);
    }

    private Member withCode(CodeEntry entry, HttpServletRequest request, Supplier<Member> action) {
        Tries.Try counted = tries.begin(devices.of(request), devices.known(request));
        return code.spend(entry.code(), () -> {
            counted.right();
            return action.get();
        });
    }

    private SessionView begin(HttpServletRequest request, HttpServletResponse response, Member who) {
        sessions.begin(request, who.id());
        devices.remember(request, response);
        return view(request, who);
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        sessions.end(request);
    }

    /** Signs the caller out on every device, this one too. */
    @DeleteMapping("/everywhere")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOutEverywhere(HttpServletRequest request) {
        Member.ofCaller().ifPresent(m -> sessions.endEverywhere(m.id()));
        sessions.end(request);
    }

    /** The caller's own password; every other device is signed out. */
    @PutMapping("/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setOwnPassword(@RequestBody PasswordEntry entry, HttpServletRequest request) {
        Member who = Member.ofCaller().orElseThrow(() -> new InputProblems("old", "Nobody is signed in"));
        Tries.Try counted = tries.begin(devices.of(request), devices.known(request));
        if (people.known(who.name(), entry.old()).isEmpty()) {
            throw new InputProblems("old", "This is not your password");
        }
        counted.right();
        people.setPassword(who.id(), entry.password());
        sessions.endEverywhere(who.id());
        sessions.begin(request, who.id());
    }
}
