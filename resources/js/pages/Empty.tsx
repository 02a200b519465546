/** Nothing: what any page of the application costs at least. bin/bench measures against it. */
export default function Empty() {
	return null;
}
