package barrowmist.server.people;

import barrowmist.server.access.SignedIn;
import barrowmist.server.people.PeopleViews.NetworkView;
import barrowmist.server.people.PeopleViews.PasswordEntry;
import barrowmist.server.people.PeopleViews.PersonEntry;
import barrowmist.server.people.PeopleViews.PersonView;
import barrowmist.server.people.PeopleViews.RoleEntry;
import barrowmist.server.people.PeopleViews.TokenEntry;
import barrowmist.server.people.PeopleViews.TokenView;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The people of the lab, the tokens of its scripts, and where tablets find it. */
@RestController
class PeopleController {

    private final PeopleService people;
    private final TokenService tokens;
    private final SignedIn sessions;
    private final LabNetwork network;

    PeopleController(PeopleService people, TokenService tokens, SignedIn sessions, LabNetwork network) {
        this.people = people;
        this.tokens = tokens;
        this.sessions = sessions;
        this.network = network;
    }

    @GetMapping("/api/people")
    List<PersonView> people() {
        return people.all(sessions::devices);
    }

    @PostMapping("/api/people")
    @ResponseStatus(HttpStatus.CREATED)
    PersonView addPerson(@RequestBody PersonEntry entry) {
        return people.add(entry);
    }

    @PutMapping("/api/people/{id}")
    PersonView setRole(@PathVariable long id, @RequestBody RoleEntry entry) {
        return people.setRole(id, entry, sessions.devices(id));
    }

    /** A new password from the lead; the person is signed out everywhere. */
    @PutMapping("/api/people/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPassword(@PathVariable long id, @RequestBody PasswordEntry entry) {
        people.setPassword(id, entry.password());
        sessions.endEverywhere(id);
    }

    @DeleteMapping("/api/people/{id}/sessions")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signPersonOut(@PathVariable long id) {
        sessions.endEverywhere(id);
    }

    /** The account alone: what this person gave stays under their name. */
    @DeleteMapping("/api/people/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removePerson(@PathVariable long id) {
        people.remove(id);
        sessions.endEverywhere(id);
    }

    @GetMapping("/api/tokens")
    List<TokenView> tokens() {
        return tokens.all();
    }

    @PostMapping("/api/tokens")
    @ResponseStatus(HttpStatus.CREATED)
    TokenView addToken(@RequestBody TokenEntry entry) {
        return tokens.add(entry);
    }

    @DeleteMapping("/api/tokens/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void removeToken(@PathVariable long id) {
        tokens.remove(id);
    }

    @GetMapping("/api/network")
    NetworkView network() {
        return network.view();
    }
}
