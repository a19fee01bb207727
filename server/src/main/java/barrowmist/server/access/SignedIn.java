package barrowmist.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sessions of those who signed in: a cookie, kept by the server with the id of the person and nothing else. */
@Component
public class SignedIn {

    static final String PERSON = "person";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    SignedIn(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** This browser is this person's from now on; whatever session it had before is another one. */
    public void begin(HttpServletRequest request, long personId) {
        end(request);
        HttpSession session = request.getSession(true);
        session.setAttribute(PERSON, personId);
        session.setAttribute(FindByIndexNameSessionRepository.PRINCIPAL_NAME_INDEX_NAME, Long.toString(personId));
    }

    /** This browser is nobody's. */
    public void end(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    /** On every device. */
    public void endEverywhere(long personId) {
        sessions.findByPrincipalName(Long.toString(personId)).keySet().forEach(sessions::deleteById);
    }

    /** Whether a session has neither ended nor run out. */
    boolean lasts(String sessionId) {
        return sessions.findById(sessionId) != null;
    }

    /** On how many devices this person is signed in. */
    public int devices(long personId) {
        return sessions.findByPrincipalName(Long.toString(personId)).size();
    }
}
