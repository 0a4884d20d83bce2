package venue.core.change.edit.page;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.ArrayList;
import java.util.List;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.body.listing.Held;
import venue.core.carry.pack.Renaming;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Homes;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.redirect.Redirect;

/** Makes one topic of two: whatever names the one names the other, and its address leads there. */
@JsonTypeName("merge-topic")
record MergeTopic(String topic, String into) implements PageCommand {

    @Override
    public Change on(Desk desk) {
        Edition edition = desk.edition();
        Page from = topic(edition, topic, "topic");
        Page to = topic(edition, into, "into");
        if (from.id().equals(to.id())) {
            throw Refusal.badInput("same-topic", "into", "A topic can’t be merged into itself.", "Choose another.");
        }
        Homes.requireNotAmong(edition, List.of(topic), "merged");
        if (!edition.plan().beneath(topic).isEmpty()) {
            throw Refusal.conflict(
                    "has-pages",
                    "topic",
                    "Pages stand beneath “" + from.title() + "”.",
                    "Move them first: beneath “" + to.title() + "”, perhaps.");
        }
        List<Item> put = new ArrayList<>();
        Renaming.of(edition, topic, into).stream()
                .map(i -> edition.page(i.id()).isPresent() ? once(edition, (Page) i) : i)
                .filter(i -> !i.id().equals(topic))
                .forEach(put::add);
        if (desk.live().page(topic).isPresent()) {
            put.add(Redirect.of(desk.live().plan().address(topic), Link.toPage(into)));
        }
        return new Change("merge " + from.title() + " into " + to.title(), put, List.of(topic));
    }

    private static Page topic(Edition edition, String id, String field) {
        Page page = edition.require(Page.class, id);
        if (edition.kindOf(page).filter(Kind::isOfTopics).isEmpty()) {
            throw Refusal.badInput("no-topic", field, "“" + page.title() + "” is no topic.", "Choose one that is.");
        }
        return page;
    }

    /** A page that named both names the one that is left once. */
    private static Page once(Edition edition, Page page) {
        Page made = page;
        for (Property field : edition.kindOf(page).map(Kind::fields).orElse(List.of())) {
            if (Held.typeOf(field) == PropertyType.TOPIC && page.fields().get(field.key()) instanceof Value.Many many) {
                made = made.withField(
                        field.key(),
                        new Value.Many(many.groups().stream().distinct().toList()));
            }
        }
        return made;
    }
}
