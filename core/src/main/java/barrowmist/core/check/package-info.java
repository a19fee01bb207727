/** Gathering of problems before a form or a file is refused. */
package barrowmist.core.check;
