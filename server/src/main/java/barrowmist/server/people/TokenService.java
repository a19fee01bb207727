package barrowmist.server.people;

import barrowmist.core.check.FieldProblem;
import barrowmist.server.access.Member;
import barrowmist.server.access.Role;
import barrowmist.server.access.Secrets;
import barrowmist.server.people.PeopleViews.TokenEntry;
import barrowmist.server.people.PeopleViews.TokenView;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import barrowmist.server.web.NotFound;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tokens with which scripts call: made by a lead, shown once, kept as a hash. */
@Service
@KeptInTurn
class TokenService {

    private final TokenRepository tokens;
    private final PeopleService people;
    private final Clock clock;

    TokenService(TokenRepository tokens, PeopleService people, Clock clock) {
        this.tokens = tokens;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<TokenView> all() {
        return tokens.findAllByOrderById().stream()
                .map(t -> TokenView.of(t, null))
                .toList();
    }

    TokenView add(TokenEntry entry) {
        List<FieldProblem> problems = new ArrayList<>();
        String name = PeopleService.name(entry.name(), problems);
        Optional<Role> role = PeopleService.role(entry.role(), problems);
        InputProblems.refuseIfAny(problems);
        Member lead = Member.ofCaller()
                .orElseThrow(() -> new InputProblems("name", "A token is somebody's: make an account first"));
        String token = Secrets.draw();
        return TokenView.of(
                tokens.saveAndFlush(new TokenEntity(
                        name, role.orElseThrow(), Secrets.hash(token), people.get(lead.id()), clock.instant())),
                token);
    }

    void remove(long id) {
        tokens.delete(tokens.findById(id).orElseThrow(() -> new NotFound("token", id)));
    }
}
