package venue.server.signin;

/**
 * How a try to sign in ended.
 *
 * @param secondStep whether a code is wanted yet; then nobody is signed in
 */
record SignedIn(boolean secondStep) {}
