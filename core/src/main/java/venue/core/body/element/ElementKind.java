package venue.core.body.element;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;

/** A kind of element: what it declares, and how it is written. The interface draws its inputs from the declaration. */
public interface ElementKind {

    /** Types of properties that are written in the card whatever they are called. */
    Set<PropertyType> WRITTEN =
            Set.of(PropertyType.RICH, PropertyType.LINES, PropertyType.PICTURE, PropertyType.FILE, PropertyType.MANY);

    /** The name kept in contents. */
    String key();

    /** The name people read. */
    String name();

    /** One line that says what it is for. */
    String note();

    List<Property> properties();

    /** The properties that are written in its card, by key; what else can be set of it stands behind "More". */
    default List<String> inPlace() {
        return properties().stream()
                .filter(p -> WRITTEN.contains(p.type()))
                .map(Property::key)
                .toList();
    }

    /** The facts of the site that it shows, by key; where one is missing the interface offers to fill it there and then. */
    default List<String> siteFacts() {
        return List.of();
    }

    /** The properties that sum it up in a line of its card, by key, the first before the others. */
    default List<String> summary() {
        return List.of();
    }

    /** Whether only managers place it and write in it. */
    default boolean isManagersOnly() {
        return false;
    }

    /** Whether it shows more than what is written and chosen in it: it may have something while all of its places are empty. */
    default boolean isGathered() {
        return false;
    }

    /** How it is drawn small, in the glyph of a template. */
    default Sketch drawn(Map<String, Value> props) {
        return Sketch.BLOCK;
    }

    /** Whether it is a picture, whatever else it says. */
    default boolean isPicture() {
        return false;
    }

    /** Whether its pictures are of persons. */
    default boolean isOfPersons() {
        return false;
    }

    /** Whether it is a heading over what follows it. */
    default boolean isHeading() {
        return false;
    }

    /** Whether it only sets apart what is there. */
    default boolean isFurniture() {
        return false;
    }

    /** Whether it lists the page's headings. */
    default boolean listsHeadings() {
        return false;
    }

    /** Whether it sets pages and entries in a layout. */
    default boolean isListing() {
        return false;
    }

    /** Whether its layouts can be tried side by side on what it shows. */
    default boolean isTried() {
        return isListing();
    }

    /** What it shows after something was done in it, by the names of the states besides the first; a proof can show each. */
    default List<String> states() {
        return List.of();
    }

    /** Whether its words are found by searching; what is gathered is found where it is at home. */
    default boolean isSearched() {
        return true;
    }

    /**
     * Whether what it shows is of the page on which it stands: the page has changed when that does. What it gathers from elsewhere, what
     * leads around and what visitors leave is not.
     */
    default boolean isOwn(Map<String, Value> props) {
        return isSearched();
    }

    /** What a page's whole text has of it, as rich text. */
    default String wholeText(Map<String, Value> props) {
        return "";
    }

    /** Where it gathers what stands beneath a page, as {@link venue.core.body.listing.GatheredAt} says it. */
    default Stream<String> gathers(Map<String, Value> props) {
        return Stream.empty();
    }

    /** Whether it shows more of other pages than their titles, fields and places: their text, or when they changed. */
    default boolean tellsOfText(Map<String, Value> props) {
        return false;
    }

    /** Whether visitors ask something by it that files alone can't answer. */
    default boolean asksServer(Map<String, Value> props) {
        return false;
    }

    /** Whether files show something of it all the same. */
    default boolean isAnsweredByFiles() {
        return false;
    }

    /** Keys of the fields that what it gathers must have, to show all that it is set to. */
    default Stream<String> needs(Map<String, Value> props) {
        return Stream.empty();
    }

    /**
     * The field without which a setting says nothing, by the setting's key, or by key and answer ({@code group=month}): it is not
     * offered where what is gathered has no such field.
     */
    default Map<String, String> offeredWith() {
        return Map.of();
    }

    /** The folder whose files it shows. */
    default Optional<String> folder(Map<String, Value> props) {
        return Optional.empty();
    }

    /** The parts of the theme that are seen by it, by the key of their settings. */
    default Set<String> themeParts() {
        return Set.of();
    }

    /** The property that has to be chosen before it shows anything, and is not; it counts as a place to fill. */
    default Optional<String> unchosen(Map<String, Value> props) {
        return Optional.empty();
    }

    /** Whether there is anything to show; an element without is left out. */
    boolean hasSomething(Props props);

    /** Writes the element; called only when it has something. */
    void render(Props props, HtmlWriter out);
}
