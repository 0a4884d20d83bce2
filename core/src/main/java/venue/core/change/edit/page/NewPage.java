package venue.core.change.edit.page;

import org.jspecify.annotations.Nullable;

/**
 * A page to be made.
 *
 * @param description its search description; absent where none is given
 */
public record NewPage(String id, String title, @Nullable String description) {

    public NewPage(String id, String title) {
        this(id, title, null);
    }
}
