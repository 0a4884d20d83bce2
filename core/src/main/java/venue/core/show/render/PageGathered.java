package venue.core.show.render;

import venue.core.body.scene.SceneGathered;

/** What is gathered from all over the site for the elements of one page. */
record PageGathered(PageListings listings, PageSearch search) implements SceneGathered {}
