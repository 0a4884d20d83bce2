package venue.store.record;

/** What the record tells of. */
public enum Deed {
    SET_UP,
    SIGNED_IN,
    SIGN_IN_FAILED,
    SIGNED_OUT,
    SESSIONS_ENDED,
    INVITED,
    CAME,
    SEAT_GIVEN,
    SEAT_TAKEN,
    OWNER_MADE,
    OWNER_UNMADE,
    DEACTIVATED,
    BROUGHT_BACK,
    ERASED,
    NAME_CHANGED,
    ADDRESS_CHANGED,
    PASSWORD_CHANGED,
    PASSWORD_LINK,
    SECOND_STEP_BEGUN,
    SECOND_STEP_ENDED,
    SECOND_STEP_ASKED,
    SITE_MADE,
    RELEASED
}
