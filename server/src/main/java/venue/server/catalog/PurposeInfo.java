package venue.server.catalog;

import java.util.Arrays;
import java.util.List;
import venue.core.model.template.Purpose;

/** What templates are for, as it is offered: a group of them. */
record PurposeInfo(String key, String title, String note) {

    /** In their order. */
    static List<PurposeInfo> all() {
        return Arrays.stream(Purpose.values())
                .map(p -> new PurposeInfo(p.key(), p.title(), p.note()))
                .toList();
    }
}
