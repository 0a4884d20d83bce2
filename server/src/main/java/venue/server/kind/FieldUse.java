package venue.server.kind;

import java.util.List;
import venue.core.property.Property;

/**
 * A field of a kind, or an option of a template, and where it matters.
 *
 * @param own how many pages hold a value of their own
 * @param inheriting how many follow the default
 * @param places where it shows, in words
 */
public record FieldUse(Property field, long own, long inheriting, List<String> places) {}
