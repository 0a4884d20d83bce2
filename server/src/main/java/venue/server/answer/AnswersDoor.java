package venue.server.answer;

import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;
import venue.core.model.site.Role;
import venue.server.here.Here;
import venue.store.answer.Answer;

/** Who of the people of a site may work with which answers: managers with all, editors with those of the forms that they are given. */
final class AnswersDoor {

    private AnswersDoor() {}

    static boolean opens(Here here, String form) {
        return here.role() == Role.MANAGER
                || here.working()
                        .find(Form.class, form)
                        .filter(f -> f.is(FormSettings.EDITORS))
                        .isPresent();
    }

    static void require(Here here, String form) {
        if (!opens(here, form)) {
            throw Refusal.forbidden(
                    "answers-hidden",
                    "Only managers work with the answers of this form.",
                    "Ask a manager to let editors work with them.");
        }
    }

    static List<Answer> require(Here here, List<Answer> answers) {
        answers.forEach(a -> require(here, a.form()));
        return answers;
    }
}
