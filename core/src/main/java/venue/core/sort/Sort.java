package venue.core.sort;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** What one sort of item answers for itself. */
abstract class Sort<T extends Item> {

    private final Class<T> type;

    Sort(Class<T> type) {
        this.type = type;
    }

    /** Its record. */
    final Class<T> type() {
        return type;
    }

    /** The item under another id, with whatever it names asked for once; empty where nothing of it would be left. */
    abstract Optional<Item> anew(T item, String id, Walk walk);

    /** The item called otherwise; empty where there can't be two of it in one site. */
    abstract Optional<Item> called(T item, String name);

    /** On which pages a change of it shows. */
    ReachedPages reach(T item, Edition edition) {
        return ReachedPages.NONE;
    }

    /** The item as it would be kept, held against what is declared; refused where it is not as that says. */
    Item checked(T item, WholeCheck check) {
        return item;
    }

    /** The longest name that it may have when it comes from elsewhere, in characters. */
    int longestName() {
        return WholeCheck.LONGEST_NAME;
    }

    /** What it says of itself in a list, besides its name. */
    String note(T item) {
        return "";
    }

    /** Whether editors may change it; what is of a kind may be changed as its kind says. */
    boolean isForEditors() {
        return false;
    }

    /** What differs between the live site and the working copy, in sentences. */
    List<String> tells(@Nullable T live, T working, Between between) {
        return List.of(live == null ? "New" : "Changed");
    }

    /** What it means that it is gone from the working copy. */
    List<String> tellsGone(T live, Between between) {
        return List.of("Removed");
    }

    /** Ids of what visitors must have as well, so that the live site holds together. */
    Stream<String> needs(T item, Between between) {
        return Stream.empty();
    }

    /** Ids of the groups of members that it names. */
    Stream<String> groups(T item) {
        return Stream.empty();
    }

    /** What of it may reach visitors; empty where nothing does. */
    Optional<Item> toVisitors(T item) {
        return Optional.of(item);
    }

    /** Whether there is the same to choose from after a change of it: its name, its place and what it holds may differ. */
    boolean isShapedAlike(T was, Edition before, T is, Edition after) {
        return false;
    }

    /** What comes along when it is carried elsewhere, besides what it needs. */
    List<? extends Item> along(T item, Edition edition, boolean withEntries) {
        return List.of();
    }

    /** The item as it is carried: without what belongs to where it is from. */
    Item carried(T item) {
        return item;
    }

    /** What is left of it in a site of which the structure alone is copied. */
    Optional<Item> bare(T item, Bare bare) {
        return Optional.of(item);
    }

    /** What makes two items of this sort the very same thing, each in its site; empty where only their identity does. */
    Optional<String> likeness(T item) {
        return Optional.empty();
    }

    /** The item as it comes into a site, where some of it stays as it is there; empty where it has no place. */
    Optional<Item> arriving(T item, Arrival at) {
        return Optional.of(item);
    }
}
