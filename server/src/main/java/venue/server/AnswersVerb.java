package venue.server;

import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import venue.core.basics.fault.Refusal;
import venue.core.edition.edition.Edition;
import venue.core.model.form.Form;
import venue.server.answer.AnswerTable;
import venue.store.answer.AnswerFilter;
import venue.store.answer.Answers;
import venue.store.workspace.Workspace;

/** The answers of a form as a table, for whoever has the server of its site. */
@Command(
        name = "answers",
        description = "Prints what visitors sent by a form, as CSV.",
        mixinStandardHelpOptions = true)
final class AnswersVerb implements Callable<Integer> {

    @CommandLine.Mixin
    Data data = new Data();

    @CommandLine.Mixin
    NamedSite site = new NamedSite();

    @Option(names = "--form", required = true, description = "A form's name, or its id.")
    String form = "";

    @Override
    public Integer call() {
        try (OwnFolder own = data.look()) {
            Workspace workspace = site.in(own);
            String id = id(workspace.now().working());
            data.say(
                    AnswerTable.csv(own.people().answers().list(workspace.site(), AnswerFilter.of(id), 0, Answers.MOST))
                            .stripTrailing());
        }
        return 0;
    }

    private String id(Edition working) {
        return working.all(Form.class)
                .filter(f -> f.id().equals(form) || isCalled(f.name()))
                .map(Form::id)
                .findFirst()
                .orElseThrow(() -> Refusal.unknown("form", form));
    }

    private boolean isCalled(String name) {
        return name.toLowerCase(Locale.ROOT).equals(form.strip().toLowerCase(Locale.ROOT));
    }
}
