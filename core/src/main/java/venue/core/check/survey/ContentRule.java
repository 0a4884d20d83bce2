package venue.core.check.survey;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import venue.core.basics.item.Item;
import venue.core.body.element.Elements;
import venue.core.model.property.Naming;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.section.Element;
import venue.core.model.section.Section;

/** A rule about what stands in sections, element by element. */
abstract class ContentRule extends DeclaredRule {

    ContentRule(String key, String name, Severity severity, String why) {
        super(key, name, severity, why);
    }

    /** Where an element stands. */
    record At(Scope scope, Stand stand, Section section, Element element) {

        Finding finding(Rule rule, String says, Finding.Mend... mends) {
            return Finding.of(rule, stand.page(), says, mends).at(stand.section(section.id()));
        }
    }

    /** What does not agree in an element. */
    abstract Stream<Finding> find(At at);

    @Override
    public final Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream()
                .flatMap(stand -> stand.item()
                        .body()
                        .all()
                        .flatMap(section -> section.elements().flatMap(e -> find(new At(scope, stand, section, e)))));
    }

    /**
     * The rich texts of an element, each as a document.
     *
     * @param mark as it is written in those that are meant: reading the others would cost more than all else
     */
    static List<Document> rich(Element element, String mark) {
        List<Document> all = new ArrayList<>();
        values(element, (property, text) -> {
            if (property.type() == PropertyType.RICH && text.contains(mark)) {
                all.add(Jsoup.parseBodyFragment(text));
            }
        });
        return all;
    }

    static void values(Element element, BiConsumer<Property, String> found) {
        Elements.find(element.kind()).ifPresent(kind -> Naming.each(kind.properties(), element.props(), found));
    }
}
