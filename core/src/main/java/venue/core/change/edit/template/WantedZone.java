package venue.core.change.edit.template;

import java.util.List;
import venue.core.model.template.ZoneRole;

/** A zone of a template as it is to be; one with a new key is made. */
record WantedZone(String key, String name, ZoneRole role, List<String> accepts) {

    public WantedZone {
        accepts = accepts == null ? List.of() : List.copyOf(accepts);
    }
}
