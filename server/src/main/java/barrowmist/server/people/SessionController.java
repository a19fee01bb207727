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
import java.time.Clock;
import java.util.Optional;
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
    private final Tries tries;

    SessionController(PeopleService people, OpenLab lab, SignedIn sessions, StartCode code, Clock clock) {
        this.people = people;
        this.lab = lab;
        this.sessions = sessions;
        this.code = code;
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
    SessionView signIn(@RequestBody SignInEntry entry, HttpServletRequest request) {
        // by device, not by name: nobody else can lock the lead out
        tries.refuseIfTooMany(request.getRemoteAddr());
        Optional<Member> who = people.known(entry.name(), entry.password());
        if (who.isEmpty()) {
            tries.wrong(request.getRemoteAddr());
            throw new InputProblems("password", "Nobody has this name with this password");
        }
        return begin(request, who.get());
    }

    /** The first account, from the lab's own computer or with the code printed at start; signed in at once. */
    @PostMapping("/first")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView makeFirst(@RequestBody CodeEntry entry, HttpServletRequest request) {
        if (!OpenLab.ofThisComputer(request)) {
            checkCode(entry, request);
        }
        Member first = people.first(entry.name(), entry.password());
        code.used();
        return begin(request, first);
    }

    /** A new password for a lead who lost theirs, with the code printed at start. */
    @PostMapping("/recovery")
    SessionView recover(@RequestBody CodeEntry entry, HttpServletRequest request) {
        checkCode(entry, request);
        Member lead = people.recover(entry.name(), entry.password());
        code.used();
        sessions.endEverywhere(lead.id());
        return begin(request, lead);
    }

    private void checkCode(CodeEntry entry, HttpServletRequest request) {
        tries.refuseIfTooMany(request.getRemoteAddr());
        if (!code.fits(entry.code())) {
            tries.wrong(request.getRemoteAddr());
            throw new InputProblems("code", "This is not the code that Barrowmist printed when it started");
        }
    }

    private SessionView begin(HttpServletRequest request, Member who) {
        sessions.begin(request, who.id());
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
        tries.refuseIfTooMany(request.getRemoteAddr());
        if (people.known(who.name(), entry.old()).isEmpty()) {
            tries.wrong(request.getRemoteAddr());
            throw new InputProblems("old", "This is not your password");
        }
        people.setPassword(who.id(), entry.password());
        sessions.endEverywhere(who.id());
        sessions.begin(request, who.id());
    }
}
