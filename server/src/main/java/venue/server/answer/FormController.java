package venue.server.answer;

import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.server.here.Here;
import venue.server.hook.Hooks;
import venue.store.answer.FormCalls;

/** One form: all that its screen shows. */
@RestController
@RequestMapping("/api/sites/{site}/forms/{id}")
class FormController {

    private static final int MOST_CALLS = 50;

    private final FormCalls calls;
    private final Hooks hooks;
    private final InstantSource clock;

    FormController(FormCalls calls, Hooks hooks, InstantSource clock) {
        this.calls = calls;
        this.hooks = hooks;
        this.clock = clock;
    }

    /**
     * A form.
     *
     * @param placed ids of the pages on which it stands
     */
    record FormDetail(
            String id,
            Hash revision,
            String name,
            boolean retired,
            List<FormField> fields,
            Map<String, Value> settings,
            List<String> placed) {}

    /**
     * Where answers are handed on.
     *
     * @param secret by which the other machine knows that they come from here
     * @param calls the latest, the newest first
     */
    record FormHook(String secret, List<FormCalls.Called> calls) {}

    @GetMapping("/hook")
    FormHook hook(Here here, @PathVariable String id) {
        here.requireManager("look at where answers are handed on");
        here.working().require(Form.class, id);
        return new FormHook(hooks.secret(here.site(), id), calls.log(here.site(), id, MOST_CALLS));
    }

    /** Tries what was not taken once more, from now on for a day. */
    @PostMapping("/hook/again")
    FormHook again(Here here, @PathVariable String id) {
        here.requireManager("hand answers on again");
        calls.again(here.site(), id, clock.instant());
        return hook(here, id);
    }

    @GetMapping
    FormDetail form(Here here, @PathVariable String id) {
        Form form = here.working().require(Form.class, id);
        return new FormDetail(
                id,
                here.now().hashOf(id),
                form.name(),
                form.retired(),
                form.fields(),
                form.settings(),
                FormUse.pages(here.working(), id));
    }
}
