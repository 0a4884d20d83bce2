package venue.core.change.edit.page;

/** A page to be made. */
public record NewPage(String id, String title) {}
