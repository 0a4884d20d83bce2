package venue.store.link;

import java.time.Duration;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.PersonId;

/**
 * A link or code that is good.
 *
 * @param person whom it is for; null where nobody is here yet
 * @param detail what it carries, such as the address that it confirms
 * @param until ISO 8601
 */
public record PersonalLink(
        Purpose purpose,
        @Nullable PersonId person,
        @Nullable String detail,
        String until) {

    /** Whom it was made for; codes are for nobody in particular. */
    public PersonId holder() {
        return Objects.requireNonNull(person);
    }

    /** What a link is for, and how long it is good. */
    public enum Purpose {
        SET_UP(Duration.ofDays(36_500)),
        INVITATION(Duration.ofDays(7)),
        PASSWORD(Duration.ofHours(2)),
        EMAIL(Duration.ofHours(24));

        private final Duration goodFor;

        Purpose(Duration goodFor) {
            this.goodFor = goodFor;
        }

        public Duration goodFor() {
            return goodFor;
        }
    }
}
