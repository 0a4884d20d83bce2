package venue.core.model.site;

/** What somebody may do on a site. */
public enum Role {
    /** May change anything. */
    MANAGER,
    /** Writes pages within the rules that managers set. */
    EDITOR
}
