package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.model.kind.Kind;
import venue.core.show.gathering.Topics;

/** Topics that one page alone names. */
final class TopicUsedOnce extends DeclaredRule {

    TopicUsedOnce() {
        super(
                "topic-used-once",
                "Topic of one page",
                Severity.NOTE,
                "It leads from one page to a list of that page. Name it elsewhere too, or merge it into another.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.page(item)
                .filter(p -> scope.edition().kindOf(p).filter(Kind::isOfTopics).isPresent())
                .filter(p -> Topics.count(scope.edition(), p.id()) == 1)
                .map(p -> Finding.of(this, p.id(), "Only one page names it."));
    }
}
