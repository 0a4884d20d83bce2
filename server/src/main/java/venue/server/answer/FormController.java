package venue.server.answer;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import venue.core.basics.item.Hash;
import venue.core.basics.value.Value;
import venue.core.edition.usage.FormUse;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.server.here.Here;

/** One form: all that its screen shows. */
@RestController
@RequestMapping("/api/sites/{site}/forms/{id}")
class FormController {

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
