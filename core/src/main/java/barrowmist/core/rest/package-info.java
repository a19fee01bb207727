/** How long a roasted sample rests before it is tasted. */
package barrowmist.core.rest;
