package venue.core.edit.page;

/** A page to be made. */
public record NewPage(String id, String title) {}
