package venue.core.body.scene;

/** What is gathered from all over the site for an element to show. */
public interface SceneGathered {

    /** What listings here show. */
    Listings listings();

    /** Looking for something on the site. */
    Search search();
}
