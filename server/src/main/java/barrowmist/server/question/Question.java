package barrowmist.server.question;

import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import java.util.List;

/** A question, and how it is answered. */
interface Question {

    /** Its name on the wire. */
    String id();

    /** As a lead asks it. */
    String text();

    /** Which filters narrow its answer, by their names on the wire. */
    List<String> filters();

    AnswerView answer(Asked asked);
}
