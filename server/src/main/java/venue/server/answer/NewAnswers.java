package venue.server.answer;

import java.util.List;
import org.springframework.stereotype.Component;
import venue.core.model.form.Form;
import venue.server.here.Here;
import venue.store.answer.Answers;

/** How many answers nobody has read, of the forms that somebody works with. */
@Component
public class NewAnswers {

    private final Answers answers;

    NewAnswers(Answers answers) {
        this.answers = answers;
    }

    public int fresh(Here here) {
        List<String> forms = here.working()
                .all(Form.class)
                .map(Form::id)
                .filter(f -> AnswersDoor.opens(here, f))
                .toList();
        return answers.fresh(here.site(), forms).values().stream()
                .mapToInt(Answers.Fresh::count)
                .sum();
    }
}
