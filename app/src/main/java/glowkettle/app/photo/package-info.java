/** Photos of jobs: taken in, cleaned of what the camera wrote about the place, shown at their step, removed by a lead. */
@org.jspecify.annotations.NullMarked
package glowkettle.app.photo;
