package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import venue.core.basics.value.Value;
import venue.core.model.page.Page;
import venue.core.model.property.OptionAnswer;
import venue.core.model.property.Property;
import venue.core.model.template.Template;

/** What a page has chosen among the options of the template in which it is shown. */
final class PageOptions {

    private final Page page;
    private final List<Property> declared;

    PageOptions(Page page, List<Property> declared) {
        this.page = page;
        this.declared = declared;
    }

    Optional<Property> find(String key) {
        return declared.stream().filter(o -> o.key().equals(key)).findFirst();
    }

    boolean answers(OptionAnswer wanted) {
        return wanted.holds(declared, values());
    }

    Map<String, Value> values() {
        return page.settings().entrySet().stream()
                .filter(e -> e.getKey().startsWith(Template.OPTION))
                .collect(Collectors.toMap(e -> e.getKey().substring(Template.OPTION.length()), Map.Entry::getValue));
    }
}
