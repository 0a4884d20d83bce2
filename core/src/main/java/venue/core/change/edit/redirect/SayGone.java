package venue.core.change.edit.redirect;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import venue.core.change.edit.Change;
import venue.core.change.edit.Desk;
import venue.core.model.redirect.Redirect;

/**
 * Says of an address at which no page stands that what stood there is gone: visitors are told so (410, RFC 9110) instead of being led on.
 *
 * @param from a path on the site; with {@code /*} at its end, the path and everything beneath it
 */
@JsonTypeName("say-gone")
record SayGone(String from) implements RedirectCommand {

    @Override
    public Change on(Desk desk) {
        String path = OldAddress.of(desk.edition(), from);
        return new Change("say that " + path + " is gone", List.of(Redirect.of(path, null)), List.of());
    }
}
