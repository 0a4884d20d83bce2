package venue.core.model.section;

/** Sections that visitors get as they stand: a page's own, or one that pages share. Places in them wait to be filled. */
public interface OnSite extends Sectioned {}
