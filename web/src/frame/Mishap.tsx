import { Button } from "antd";
import { Component, type ReactNode } from "react";

type Props = { at: string; children: ReactNode };

/**
 * Stands where a place could not be shown, so that the shelf stays and nothing typed is lost: what
 * was typed is kept in this browser before it is sent. Going elsewhere takes it away.
 */
export class Mishap extends Component<Props, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override componentDidUpdate(before: Props) {
    if (this.state.failed && before.at !== this.props.at) this.setState({ failed: false });
  }

  override render() {
    if (!this.state.failed) return this.props.children;
    return (
      <div className="page stack" role="alert">
        <h1>This place could not be shown</h1>
        <p>What you entered is kept in this browser.</p>
        <div>
          <Button type="primary" onClick={() => window.location.reload()}>
            Try again
          </Button>
        </div>
      </div>
    );
  }
}
