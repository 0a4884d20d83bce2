package venue.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import venue.core.model.template.Template;

class DemoKindsTest {

    @Test
    void eachTemplateIsOfferedByAKindAndEachThatIsOfferedIsThere() {
        Set<String> offered =
                DemoKinds.usual().stream().flatMap(k -> k.templates().stream()).collect(Collectors.toSet());
        DemoKinds.all().forEach(k -> offered.addAll(k.templates()));
        Set<String> there =
                DemoTemplates.withReadyMade().stream().map(Template::id).collect(Collectors.toSet());
        assertThat(there).containsAll(offered);
        there.removeAll(offered);
        assertThat(there).containsExactly(Template.NOT_FOUND);
    }
}
