package venue.core.sort;

import java.util.Optional;
import venue.core.basics.item.Hash;

/** What the ids that an item names are to be instead; an empty answer says that there is no such item any more. */
public interface Refs {

    /** What an item can't do without: a picture, its kind, the section that it shows. */
    Optional<String> needed(String id);

    /** What it only names: another page, what may stand beneath. */
    default Optional<String> named(String id) {
        return needed(id);
    }

    /** What a page was called that is not there any more. */
    default String title(String id) {
        return id;
    }

    /** The hash by which the content is known that a copy took. */
    default Hash past(Hash hash) {
        return hash;
    }
}
