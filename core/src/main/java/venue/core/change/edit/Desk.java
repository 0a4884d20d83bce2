package venue.core.change.edit;

import java.util.function.Function;
import java.util.random.RandomGenerator;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Ids;
import venue.core.edition.edition.Edition;
import venue.core.edition.merge.Archive;
import venue.core.model.site.Role;

/**
 * What a command works on.
 *
 * @param edition the working copy
 * @param live the live release
 * @param hashOf the hash of an item's content in the working copy, by id
 * @param archive what items were before
 * @param role what the person who works at it may do
 */
public record Desk(
        Edition edition,
        Edition live,
        Function<String, Hash> hashOf,
        Archive archive,
        RandomGenerator chance,
        Role role) {

    public String freshId() {
        return Ids.fresh(chance);
    }

    /** The same desk with another working copy. */
    public Desk on(Edition other) {
        return new Desk(other, live, hashOf, archive, chance, role);
    }
}
