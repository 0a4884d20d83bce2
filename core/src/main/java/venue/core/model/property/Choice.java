package venue.core.model.property;

/** One of the answers to a choice: what is kept, and what people read. */
public record Choice(String value, String label) {}
