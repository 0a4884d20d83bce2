package venue.core.model.kind;

import java.util.List;

/** What a kind's pages may stand beneath: anywhere, beneath named pages, or beneath pages of named kinds. */
public record Placement(Where where, List<String> ids) {

    /** The three forms a placement has. */
    public enum Where {
        ANYWHERE,
        BENEATH_PAGES,
        BENEATH_KINDS
    }

    public static final Placement ANYWHERE = new Placement(Where.ANYWHERE, List.of());

    public Placement {
        ids = ids == null ? List.of() : List.copyOf(ids);
    }
}
