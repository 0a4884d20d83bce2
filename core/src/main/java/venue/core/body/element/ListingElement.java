package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.drawn.Sketch;
import venue.core.body.listing.GatheredAt;
import venue.core.body.listing.Listed;
import venue.core.body.listing.ListingQuery;
import venue.core.body.scene.Props;

/** Pages and entries, shown by themselves as they come and go. */
final class ListingElement extends DeclaredKind {

    ListingElement() {
        super("listing", "Listing", "Pages or entries that are gathered by themselves", ListingSettings.all());
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return ListingLayouts.of(props).drawn().first();
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists", "pictures");
    }

    @Override
    public boolean isListing() {
        return true;
    }

    @Override
    public boolean isSearched() {
        return false;
    }

    @Override
    public boolean asksServer(Map<String, Value> props) {
        Value yes = Value.of(true);
        return props.containsKey("choose") || yes.equals(props.get("byYear")) || yes.equals(props.get("byWords"));
    }

    @Override
    public boolean isAnsweredByFiles() {
        return true;
    }

    @Override
    public boolean tellsOfText(Map<String, Value> props) {
        Value yes = Value.of(true);
        return yes.equals(props.get("whole"))
                || yes.equals(props.get("feed"))
                || Values.text(props, "order").equals("changed");
    }

    @Override
    public Stream<String> gathers(Map<String, Value> props) {
        return switch (Values.text(props, "source")) {
            case "beneath" -> Stream.of(Values.text(props, "branch")).filter(Predicate.not(String::isEmpty));
            case "children" -> Stream.of(GatheredAt.HERE);
            case "siblings" -> Stream.of(GatheredAt.BESIDE);
            default -> Stream.empty();
        };
    }

    @Override
    public Stream<String> needs(Map<String, Value> props) {
        return ListingNeeds.of(props);
    }

    @Override
    public Map<String, String> offeredWith() {
        return ListingNeeds.OFFERED;
    }

    @Override
    public List<String> inPlace() {
        return List.of();
    }

    @Override
    public List<String> summary() {
        return List.of("source", "kind", "which", "order", "limit", "shape");
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public Optional<String> unchosen(Map<String, Value> props) {
        return switch (Values.text(props, "source")) {
            case "", "kind" -> unset(props, "kind");
            case "beneath" -> unset(props, "branch");
            case "chosen" -> unset(props, "chosen");
            // What points to this page does so by any field, until one is chosen.
            case "named" -> unset(props, "field");
            default -> Optional.empty();
        };
    }

    private static Optional<String> unset(Map<String, Value> props, String key) {
        Value value = props.get(key);
        boolean empty = value == null
                || value instanceof Value.Many many && many.groups().isEmpty();
        return empty ? Optional.of(key) : Optional.empty();
    }

    @Override
    public boolean hasSomething(Props props) {
        return props.scene().showsMarks()
                || props.has("empty")
                || props.scene().gathered().listings().lists(ListingAsk.of(props));
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        ListingQuery query = ListingAsk.of(props);
        Listed listed = props.scene().gathered().listings().listed(query);
        ListingChoices choices = new ListingChoices(props.scene(), query, listed, out);
        choices.write();
        if (listed.isEmpty()) {
            if (listed.chosen().isEmpty()) {
                empty(props, listed, out);
            }
            return;
        }
        new ListingGroups(props, out).write(listed);
        choices.pages();
    }

    /** Visitors find the managers' own words, or nothing; managers are told why, or the section would seem to be lost. */
    private static void empty(Props props, Listed listed, HtmlWriter out) {
        if (props.has("empty")) {
            props.startWritten("empty", "p", "none", out);
            props.write("empty", out);
            out.end();
        }
        if (props.isToFill("kind")) {
            out.start("p");
            props.write("kind", out);
            out.end();
        } else if (props.scene().showsMarks()) {
            out.unseen()
                    .start("p")
                    .start("mark", "to-fill")
                    .text(listed.why() + "; visitors "
                            + (props.has("empty") ? "read the words above" : "don’t see this"));
            out.end().end();
        }
    }
}
