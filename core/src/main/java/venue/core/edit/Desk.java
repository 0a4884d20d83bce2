package venue.core.edit;

import java.util.function.UnaryOperator;
import java.util.random.RandomGenerator;
import venue.core.edition.Edition;
import venue.core.item.Ids;

/**
 * What a command works on.
 *
 * @param edition the working copy
 * @param live the live release
 * @param hashOf the hash of an item's content in the working copy, by id
 */
public record Desk(Edition edition, Edition live, UnaryOperator<String> hashOf, RandomGenerator chance) {

    String freshId() {
        return Ids.fresh(chance);
    }

    Desk on(Edition other) {
        return new Desk(other, live, hashOf, chance);
    }
}
